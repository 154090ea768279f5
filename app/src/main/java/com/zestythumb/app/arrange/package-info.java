/** The stateless call: a chart and choices in, a whole arrangement out. */
package com.zestythumb.app.arrange;
