/** The application: HTTP API, kept tunes, demo studio; packages by feature. */
package com.zestythumb.app;
