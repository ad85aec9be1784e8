from enum import Enum
class Season(Enum):
    SPRING = 1; SUMMER = 2
    AUTUMN = 3

class A:
    x = 1; y = 2
print(Season.SUMMER.name, Season(3).name, A.x + A.y)
