#include <iostream>
#include <iterator>
#include <algorithm>
#include <vector>
#include <set>
#include <string>
int main() { std::vector<int> v{1, 2, 3}; std::copy(v.begin(), v.end(), std::ostream_iterator<int>(std::cout, ", ")); std::cout << "\n"; std::set<std::string> s{"b", "a"}; std::copy(s.begin(), s.end(), std::ostream_iterator<std::string>(std::cout, "\n"));
  std::vector<double> d{1.5, 2}; for (int i = 0; i < 2; i++) std::copy(d.begin(), d.end(), std::ostream_iterator<double>(std::cout, " ")); std::copy(v.begin(), v.end(), std::ostream_iterator<int>(std::cout)); std::cout << std::endl; }
