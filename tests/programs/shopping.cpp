#include <algorithm>
#include <iostream>
#include <string>
#include <vector>
using namespace std;

int main() {
    vector<string> basket;
    basket.push_back("soil");
    basket.push_back("string");
    basket.push_back("gloves");
    sort(basket.begin(), basket.end());
    for (string thing : basket) {
        cout << thing << endl;
    }
    basket.pop_back();
    cout << basket.size() << " " << basket.back() << endl;
}
