/** The students of a studio. */
package com.zestythumb.app.student;
