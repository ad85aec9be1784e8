#include <algorithm>
#include <iostream>
#include <vector>
using namespace std;
void show(int bed) { cout << bed << ' '; }
int main() {
  vector<int> beds = {3, 1, 2};
  int total = 0;
  for_each(beds.begin(), beds.end(), [&](int &bed) { bed *= 2; total += bed; });
  std::for_each(beds.begin(), beds.end(), show);
  cout << total << endl;
  beds.assign(2, 7);
  for_each(beds.begin(), beds.end(), [](int bed) {
    if (bed > 5) cout << "large ";
  });
  done:
  cout << beds.size() << endl;
}
