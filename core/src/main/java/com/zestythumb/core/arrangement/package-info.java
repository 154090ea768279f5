/** The whole tune as timed notes in hands and fingers: what is engraved, played, exported and checked. */
package com.zestythumb.core.arrangement;
