import { readConfig } from './config/config';
import { start } from './start';

const main = async (): Promise<void> => {
  const running = await start(readConfig(process.env, `${process.cwd()}/.drubo`));
  console.log(`Drubo is at ${running.url}`);
  let stopping = false;
  const stop = (signal: string): void => {
    // A second Ctrl-C means now.
    if (stopping) process.exit(1);
    stopping = true;
    console.log(`\n${signal}: finishing what was begun`);
    running.stop().then(
      () => process.exit(0),
      (error: unknown) => {
        console.error(error);
        process.exit(1);
      },
    );
  };
  process.on('SIGINT', () => stop('Ctrl-C'));
  process.on('SIGTERM', () => stop('Stop'));
};

main().catch((error: unknown) => {
  const busy = error instanceof Error && 'code' in error && error.code === 'EADDRINUSE';
  console.error(busy ? 'That port is in use. Set PORT to another one.' : error);
  process.exit(1);
});
