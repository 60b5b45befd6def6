import { useRouteError } from 'react-router';
import { Problem } from '../../api';
import { Button, Card, Heading } from '../../ui';

/** Where a screen could not be opened: why, and the way on. What was typed is safe on the device. */
export function ErrorScreen() {
  const error = useRouteError();
  const why = error instanceof Problem ? error.message : 'This screen could not be opened.';
  return (
    <main id="screen" className="grid min-h-screen place-items-center p-4">
      <Card className="max-w-md">
        <Heading name="That did not open" className="mb-2 text-[20px]" />
        <p className="mb-4">{why} What you wrote is kept on this device.</p>
        <div className="flex gap-2">
          <Button look="act" onClick={() => window.location.reload()}>
            Try again
          </Button>
          <Button onClick={() => window.location.assign('/')}>Go to this week</Button>
        </div>
      </Card>
    </main>
  );
}
