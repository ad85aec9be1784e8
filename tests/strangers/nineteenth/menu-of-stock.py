def main():
    stock = {"pea": 12, "bean": 3, "kale": 0}
    while True:
        choice = input("> ").strip().lower()
        if choice in ("q", "quit"):
            print("Bye!")
            break
        elif choice == "list":
            for i, (name, n) in enumerate(sorted(stock.items(), key=lambda kv: (-kv[1], kv[0])), start=1):
                print(f"{i:>2}. {name:<8}|{n:^5}|{'*' * n}")
        elif choice.startswith("add "):
            _, name, *rest = choice.split()
            n = int(rest[0]) if rest else 1
            stock[name] = stock.get(name, 0) + n
            print(f"{name!r} now {stock[name]:03d}")
        elif choice.startswith("del "):
            name = choice[4:]
            try:
                del stock[name]
            except KeyError as e:
                print("No such crop:", e)
            else:
                print("gone")
        else:
            print(f"? {choice}")
    total = sum(stock.values())
    print(f"{total=} {total / len(stock):.2f} {max(stock, key=stock.get)}")


if __name__ == "__main__":
    main()
