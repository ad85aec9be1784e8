# Seed exchange, version 0.3 -- by "Quill"
import sys
from collections import OrderedDict

CATALOGUE = OrderedDict([("pea", 12), ("bean", 7), ("leek", 0)])

def describe(name, *, upper=False, width=10):
    text = name.upper() if upper else name.capitalize()
    return f"{text:<{width}}|{CATALOGUE[name]:>4}"

def main(argv=None):
    total = sum(CATALOGUE.values())
    for key in CATALOGUE:
        print(describe(key, upper=CATALOGUE[key] == 0))
    print("-" * 15)
    print("total".ljust(10) + "|" + str(total).rjust(4))
    CATALOGUE["rose"] = 3
    CATALOGUE.move_to_end("pea")
    print(list(CATALOGUE))
    last = next(iter(CATALOGUE))
    print(last, next((k for k, v in CATALOGUE.items() if v > 5), None))
    print("%s has %d seeds, %5.1f%%" % ("bean", CATALOGUE["bean"], 100 * CATALOGUE["bean"] / total))
    print("%r and %-6s|" % ("pea", "leek"))
    return 0

if __name__ == "__main__":
    main()
