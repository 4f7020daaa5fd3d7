import { useCallback } from 'react';
import { useNavigate, type NavigateOptions, type To } from 'react-router';

/** Goes to another place of the application. */
export function useGo() {
  const navigate = useNavigate();
  return useCallback(
    (to: To, options?: NavigateOptions): void => {
      Promise.resolve(navigate(to, options)).catch(reportError);
    },
    [navigate],
  );
}
