#!/usr/bin/env python3
"""Garden planner."""
import sys


class GardenError(Exception):
    """Anything that goes wrong in the garden."""


class FullError(GardenError):
    def __init__(self, bed, size):
        super().__init__(f"bed {bed} holds {size} only")
        self.bed = bed


class Bed:
    _next_id = 1

    def __init__(self, size: int):
        self.id = Bed._next_id
        Bed._next_id += 1
        self.size = size
        self.plants: list[str] = []

    def plant(self, *names: str, **options) -> int:
        row = options.get("row", 1)
        for name in names:
            if len(self.plants) >= self.size:
                raise FullError(self.id, self.size)
            self.plants.append(f"{name}@{row}")
        return len(self.plants)

    def __len__(self) -> int:
        return len(self.plants)


def main() -> int:
    beds = [Bed(3), Bed(1)]
    try:
        print(beds[0].plant("pea", "bean"))
        print(beds[0].plant("leek", row=2))
        print(beds[1].plant("kale", "chard"))
    except FullError as e:
        print("full:", e, e.bed)
    except GardenError:
        print("other")
    else:
        print("all planted")
    finally:
        print([len(b) for b in beds], beds[0].plants)
    try:
        raise GardenError("frost") from None
    except GardenError as e:
        print(repr(e), e.args)
    assert all(len(b) <= b.size for b in beds), "overfull"
    with_index = {b.id: b.plants for b in beds}
    print(with_index)
    del with_index[1]
    print(with_index, 1 in with_index)
    print("done", file=sys.stderr)
    return 0


if __name__ == "__main__":
    sys.exit(main())
