/** Long work that nobody waits for any more. */
package com.zestythumb.core.stopping;
