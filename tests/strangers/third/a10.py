def bubble(data):
    n = len(data)
    for i in range(n - 1):
        swapped = False
        for j in range(n - 1 - i):
            if data[j] > data[j + 1]:
                data[j], data[j + 1] = data[j + 1], data[j]
                swapped = True
        if not swapped:
            break
    return data

def binary(data, wanted, low=0, high=None):
    if high is None:
        high = len(data) - 1
    if low > high:
        return -1
    middle = (low + high) // 2
    if data[middle] == wanted:
        return middle
    elif data[middle] < wanted:
        return binary(data, wanted, middle + 1, high)
    return binary(data, wanted, low, middle - 1)

data = bubble([5, 2, 9, 1, 7])
print(data, binary(data, 7), binary(data, 4))
grid = [["." for _ in range(5)] for _ in range(3)]
grid[1][2] = "#"
print("\n".join("".join(row) for row in grid))
fib = lambda n: n if n < 2 else fib(n - 1) + fib(n - 2)
print([fib(i) for i in range(10)])
del data[0]
print(data[::2], data[-2:], 3 * [0])
def hanoi(n, a="A", b="B", c="C"):
    if n == 0: return 0
    return hanoi(n-1, a, c, b) + 1 + hanoi(n-1, c, b, a)
print(hanoi(5))
