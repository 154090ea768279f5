package com.zestythumb.core.figure;

import com.zestythumb.core.sheet.Fraction;
import java.util.List;

/**
 * One stroke of a figure's pattern.
 *
 * @param roles which notes of the chord; several for a double note
 * @param length quarter notes; null for as long as the chord lasts
 * @param triplet whether three such are played in the time of two
 * @param other whether the right hand plays it
 */
record Stroke(List<Role> roles, Fraction length, boolean triplet, Touch touch, boolean other) {}
