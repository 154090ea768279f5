/** What a student is to find, and how the answer is marked. */
package com.zestythumb.core.exercise;
