for row in range(1, 4):
    line = ""
    for column in range(1, 6):
        line += str(row * column) + " "
    print(line.strip())
