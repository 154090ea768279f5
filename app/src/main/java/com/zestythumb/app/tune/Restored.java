package com.zestythumb.app.tune;

/** What a restore did to tunes. */
record Restored(int added, int alreadyHere) {}
