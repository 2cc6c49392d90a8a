import { readConfig } from './config/config';
import { StartProblem } from './keeping/start-problem';
import { start } from './start';

const main = async (): Promise<void> => {
  // Whatever is made from here on is for whoever runs the server alone: health notes lie in it.
  process.umask(0o077);
  const config = readConfig(process.env, `${process.cwd()}/.drubo`);
  const running = await start(config);
  if (running.isNew) console.log(`Nothing was in ${config.databaseFile}: a new database was made there.`);
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
  // One sentence each for what can be helped; anything else with all that is known of it.
  console.error(error instanceof StartProblem ? error.message : error);
  process.exit(error instanceof StartProblem ? error.exitCode : 1);
});
