/** What all of the HTTP API shares: errors as problem+json, the page's own addresses. */
package com.zestythumb.app.http;
