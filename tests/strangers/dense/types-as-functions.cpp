#include <iostream>
#include <cstdint>
using namespace std;
typedef double real;
enum Color { RED, BLUE };
int main() { int a = 7; cout << uint32_t(-1) << " " << size_t(a) << " " << real(a) / 2 << " " << int64_t(a) * 5000000000LL << " " << Color(1) << " " << std::uint64_t(a) << endl; }
