/** Breaking a chord up into a pattern in the tune's meter. */
package com.zestythumb.core.pattern;
