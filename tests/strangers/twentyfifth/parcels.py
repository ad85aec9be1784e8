import sys
def main():
    data = sys.stdin
    first = next(data).strip()
    print("first", first)
    for line in data:
        line = line.strip()
        if not line:
            break
        print("got", line)
    print("rest", [x.strip() for x in data])
    print(sys.stdin.readline() == "", repr(sys.stdin.read()))
main()
