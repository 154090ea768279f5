package com.zestythumb.formats.abc;
