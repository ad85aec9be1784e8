data = [3, 5, 8]
if (n := len(data)) > 2:
    print("many", n)
while (k := data.pop()) > 3:
    print(k)
print([y := 4, y ** 2], y)
k = 1
print((k := k + 1) - 1, k)
