#include <iostream>
#include <string>
using namespace std;
class Date {
  static const int DAYS[13];
  static const string NAMES[];
  static int made;
  int m;
public:
  Date(int m) : m(m) { made++; }
  int days() const { return DAYS[m]; }
  string name() const { return NAMES[m - 1]; }
  static int count() { return made; }
};
const int Date::DAYS[13] = {0, 31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31};
const string Date::NAMES[] = {"Jan", "Feb", "Mar"};
int Date::made = 0;
int main() {
  Date d(2), e(1);
  cout << d.days() << " " << e.days() << " " << d.name() << " " << Date::count() << endl;
}
