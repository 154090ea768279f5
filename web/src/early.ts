import { prepareEngraver } from './engraver/start';

// Opened at a lesson, the page asks for the slowest parts before its own scripts are read.
if (location.pathname.startsWith('/tunes/')) {
  prepareEngraver();
  void import('./views/lesson');
}
