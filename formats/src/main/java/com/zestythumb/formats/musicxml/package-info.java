/** MusicXML 4.0. */
package com.zestythumb.formats.musicxml;
