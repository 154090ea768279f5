package com.zestythumb.formats;
