import sys
def main():
    n = int(input())
    grid = []
    for _ in range(n):
        grid.append(list(map(int, input().split())))
    rows = [sum(r) for r in grid]
    cols = [sum(c) for c in zip(*grid)]
    d1 = sum(grid[i][i] for i in range(n))
    d2 = sum(grid[i][n - 1 - i] for i in range(n))
    print(*rows)
    print(*cols)
    print(d1, d2)
    print("MAGIC" if len(set(rows + cols + [d1, d2])) == 1 else "NO")
    q = int(input())
    for _ in range(q):
        cmd, *args = input().split()
        if cmd == "rot":
            grid = [list(r) for r in zip(*grid[::-1])]
        elif cmd == "set":
            r, c, v = map(int, args)
            grid[r][c] = v
        elif cmd == "max":
            best = max((v, -r, -c) for r, row in enumerate(grid) for c, v in enumerate(row))
            print(best[0], "at", -best[1], -best[2])
        else:
            print("bad command:", cmd, file=sys.stderr)
    for row in grid:
        print(" ".join(f"{v:2d}" for v in row))
    rest = sys.stdin.read().split()
    print(len(rest), rest[-1] if rest else "-")
if __name__ == '__main__':
    main()
