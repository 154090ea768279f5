/** A made-up studio to try things in. */
package com.zestythumb.app.demo;
