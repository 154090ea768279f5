package com.zestythumb.formats.musicxml;
