import { Button } from '@mui/material';
import { Component, type ReactNode } from 'react';
import { Note } from '../ui/Note';
import { PageBody } from '../ui/ui.styles';

interface Props {
  children: ReactNode;
}
interface State {
  error: Error | undefined;
}

/** What cannot be shown is said, with the way out: no page stays white. */
export class Boundary extends Component<Props, State> {
  override state: State = { error: undefined };

  static getDerivedStateFromError(error: Error): State {
    return { error };
  }

  override render(): ReactNode {
    if (!this.state.error) return this.props.children;
    return (
      <PageBody as="main">
        <h1>This page cannot be shown</h1>
        <Note tone="tomato">
          A part of it did not arrive, or it failed on this device. What you typed is kept here.{' '}
          <Button color="inherit" onClick={() => location.reload()}>
            Load it again
          </Button>{' '}
          <Button color="inherit" href="/today">
            Go to Today
          </Button>
        </Note>
      </PageBody>
    );
  }
}
