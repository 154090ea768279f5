/** One way in for files of every format. */
package com.zestythumb.formats.importing;
