/** Open formats: one package a format, each behind {@link com.zestythumb.formats.ScoreWriter}. */
package com.zestythumb.formats;
