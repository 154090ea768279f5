/** ABC notation, standard 2.1. */
package com.zestythumb.formats.abc;
