from enum import Enum

class Season(Enum):
    SPRING = 1
    SUMMER = 2
    AUTUMN = 3
    WINTER = 4

def advice(season):
    if season == Season.SPRING:
        return "sow"
    elif season is Season.SUMMER:
        return "water"
    return "rest"

for s in Season:
    print(s.name, s.value, advice(s))
print(Season.WINTER)
print(Season["AUTUMN"].value, Season(2).name)
