/** What is fast and what grows how: measurements, never tests. */
package com.zestythumb.bench;
