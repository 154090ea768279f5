package com.zestythumb.core.sheet;
