#include <iostream>
#include <string>
using namespace std;
string first(string s) { return s.substr(0, s.find(',')); }
int main() { 
  cout << first("a,b") << first("abc") << endl;
  string s = "hello world"; size_t p = s.find('z'); cout << s.substr(0, p) << "|" << s.substr(2, s.find('q')) << "|" << s.substr(6, 100) << "|" << s.substr(11) << "|" << s.substr(11, 4) << endl;
  int n = -1; cout << s.substr(3, n) << "|" << s.substr(0, n) << "|" << s.substr(s.find('o') + 1, s.find('x') - s.find('o')) << endl;
  try { cout << s.substr(12); } catch (const out_of_range& e) { cout << "far " << e.what() << endl; }
  try { cout << s.substr(12, 3); } catch (const exception& e) { cout << "far " << e.what() << endl; }
  try { cout << s.substr(s.find('q')); } catch (const exception& e) { cout << "far " << endl; }
  string name = "ab.txt"; cout << name.substr(name.rfind('.') + 1) << " " << name.substr(0, name.rfind('/')) << endl;
}
