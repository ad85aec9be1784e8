lines = ["10 rain", "12 sun", "9 rain", ""]
with open("log.txt", "w") as f:
    for line in lines:
        f.write(line + "\n")
total = 0
with open("log.txt") as f:
    for line in f:
        line = line.strip()
        if not line:
            continue
        litres, kind = line.split()
        if kind == "rain":
            total += int(litres)
print(total)
