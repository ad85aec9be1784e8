print(int("twelve"))
