for number in [0, 5, 255, -255]:
    print(f"{number:b} {number:x} {number:X} {number:o} {number:08b} {number:#x} {number:#06x} {number:#b} {number:>6x}|{number:+x} {number:#o}")
