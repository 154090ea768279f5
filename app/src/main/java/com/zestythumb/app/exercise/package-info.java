/** Exercises that a teacher gives, answers by a link, and what came of them. */
package com.zestythumb.app.exercise;
