import { useCallback } from 'react';
import { useNavigate, type NavigateOptions, type To } from 'react-router';
import { report } from '../api/report';

/** Goes to another place of the application. */
export function useGo() {
  const navigate = useNavigate();
  return useCallback(
    (to: To, options?: NavigateOptions): void => {
      Promise.resolve(navigate(to, options)).catch(report);
    },
    [navigate],
  );
}
