package com.zestythumb.app.backup;

/** What a restore did to tunes. */
record Restored(int added, int alreadyHere) {}
