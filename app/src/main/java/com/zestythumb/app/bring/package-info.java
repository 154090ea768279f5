/** Bringing files in: what they hold comes back as charts, and nothing is kept. */
package com.zestythumb.app.bring;
