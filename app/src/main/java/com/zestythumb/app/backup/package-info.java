/** The whole studio in one file, and back: each feature tells what it keeps by a {@link com.zestythumb.app.backup.BackupPart}. */
package com.zestythumb.app.backup;
