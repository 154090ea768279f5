import type { useChosen } from '../../composables/useChosen';
import type { useNaming } from '../../composables/useNaming';
import type { usePins } from '../../composables/usePins';
import type { usePlayer } from '../../composables/usePlayer';
import type { Shortcut } from '../../composables/useShortcuts';

/** What the keys of a lesson do. */
interface Does {
  chosen: ReturnType<typeof useChosen>;
  player: Pick<ReturnType<typeof usePlayer>, 'toggle' | 'toggleLoop' | 'click'>;
  pins: Pick<ReturnType<typeof usePins>, 'togglePin' | 'nextAlternative'>;
  naming: Pick<ReturnType<typeof useNaming>, 'confirmGuess' | 'otherGuess' | 'hear'>;
  writeKey: () => void;
  toggleWriting: () => void;
  toggleLook: () => void;
  toggleText: () => void;
  takeBack: () => void;
  takeBackAgain: () => void;
  help: () => void;
}

/** One key for each thing a teacher does in a lesson. */
export function lessonKeys(does: Does): Shortcut[] {
  return [
    {
      keys: ['ArrowRight'],
      shown: '→',
      does: 'next chord',
      run: () => does.chosen.choose(does.chosen.index.value + 1),
    },
    {
      keys: ['ArrowLeft'],
      shown: '←',
      does: 'chord before',
      run: () => does.chosen.choose(does.chosen.index.value - 1),
    },
    { keys: [' '], shown: 'space', does: 'play, stop', run: does.player.toggle },
    { keys: ['l', 'L'], shown: 'L', does: 'loop this bar', run: does.player.toggleLoop },
    {
      keys: ['c', 'C'],
      shown: 'C',
      does: 'click on, off',
      run: () => (does.player.click.value = does.player.click.value === 'off' ? 'beats' : 'off'),
    },
    {
      keys: ['n', 'N'],
      shown: 'N',
      does: 'another way to play this chord',
      run: () => void does.pins.nextAlternative(),
    },
    { keys: ['f', 'F'], shown: 'F', does: 'fix this chord, or free it', run: does.pins.togglePin },
    {
      keys: ['g', 'G'],
      shown: 'G',
      does: 'keep a guessed chord',
      run: () => void does.naming.confirmGuess(),
    },
    {
      keys: ['o', 'O'],
      shown: 'O',
      does: 'another name for a guessed chord',
      run: () => void does.naming.otherGuess(),
    },
    {
      keys: ['h', 'H'],
      shown: 'H',
      does: 'write down the key that is heard',
      run: does.writeKey,
    },
    {
      keys: ['r', 'R'],
      shown: 'R',
      does: 'hear the chord otherwise',
      run: () => void does.naming.hear(),
    },
    {
      keys: ['w', 'W'],
      shown: 'W',
      does: 'write the tune note by note',
      run: does.toggleWriting,
    },
    {
      keys: ['k', 'K'],
      shown: 'K',
      does: 'look first: keys, bars to learn, phrases',
      run: does.toggleLook,
    },
    {
      keys: ['t', 'T'],
      shown: 'T',
      does: 'show or fold the chart',
      run: does.toggleText,
    },
    {
      keys: ['Ctrl+z'],
      shown: 'Ctrl+Z',
      does: 'undo the last choice',
      run: does.takeBack,
    },
    {
      keys: ['Ctrl+Shift+z', 'Ctrl+y'],
      shown: 'Ctrl+Shift+Z',
      does: 'and redo it',
      run: does.takeBackAgain,
    },
    { keys: ['?'], shown: '?', does: 'this list', run: does.help },
  ];
}
