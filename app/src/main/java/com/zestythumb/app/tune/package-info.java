/** Tunes kept with their settings. */
package com.zestythumb.app.tune;
