#ifndef _GARDEN_H_
#define _GARDEN_H_
#include <iostream>
#endif
#ifndef __BED_HPP__
#define __BED_HPP__
int beds() { return 3; }
#endif
int main() { std::cout << beds(); }
