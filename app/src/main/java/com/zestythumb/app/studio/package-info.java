/** Whose tunes these are. */
package com.zestythumb.app.studio;
