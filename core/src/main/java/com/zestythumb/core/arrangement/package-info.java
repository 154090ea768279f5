package com.zestythumb.core.arrangement;
