import { isRouteErrorResponse, useRouteError } from 'react-router';
import { Problem } from '../../api';
import { Button, Card, Heading } from '../../ui';

const NOTHING = 'There is nothing at this address. It may be mistyped, or what was here is gone.';

/** Where a screen could not be opened: why, and the way on. What was typed is safe on the device. */
export function ErrorScreen() {
  const error = useRouteError();
  return isNothing(error) ? (
    <Way title="Nothing here" why={error instanceof Problem ? error.message : NOTHING} />
  ) : (
    <Way
      title="That did not open"
      why={`${error instanceof Problem ? error.message : 'This screen could not be opened.'} What you wrote is kept on this device.`}
      canTryAgain
    />
  );
}

/** An address that no screen has, or that leads to a thing that is not there for this reader. */
const isNothing = (error: unknown) =>
  (isRouteErrorResponse(error) || error instanceof Problem) && error.status === 404;

function Way({ title, why, canTryAgain }: { title: string; why: string; canTryAgain?: boolean }) {
  return (
    <main id="screen" className="grid min-h-screen place-items-center p-4">
      <Card className="max-w-md">
        <Heading name={title} className="mb-2 text-[20px]" />
        <p className="mb-4">{why}</p>
        <div className="flex gap-2">
          {canTryAgain && (
            <Button look="act" onClick={() => window.location.reload()}>
              Try again
            </Button>
          )}
          <Button look={canTryAgain ? 'plain' : 'act'} onClick={() => window.location.assign('/')}>
            Go to this week
          </Button>
        </div>
      </Card>
    </main>
  );
}
