package com.zestythumb.app.studio;

import java.time.Instant;

/** What was removed before this moment is to go for good, in every studio. */
public record Purge(Instant before) {}
