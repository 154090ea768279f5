/** What the rules say, and of which a teacher never wants to be told. */
package com.zestythumb.app.rule;
