package com.zestythumb.core.sheet;

/**
 * A stretch of a chart's text within one line.
 *
 * @param line from 1
 * @param column of its first character, from 1
 * @param length characters
 */
public record TextSpan(int line, int column, int length) {}
