#include <iostream>
#include <vector>
#include <string>

int main()
{
    std::vector<int> numbers;
    int value;

    std::cout << "Enter numbers, 0 ends:" << std::endl;
    do
    {
        std::cin >> value;
        if (value != 0)
        {
            numbers.push_back(value);
        }
    } while (value != 0);

    int sum{0};
    int smallest{numbers.at(0)}, largest{numbers.at(0)};
    for (auto it = numbers.begin(); it != numbers.end(); ++it)
    {
        sum += *it;
        if (*it < smallest) smallest = *it;
        if (*it > largest) largest = *it;
    }
    double mean = static_cast<double>(sum) / numbers.size();
    std::cout << "sum " << sum << ", mean " << mean << ", from " << smallest << " to " << largest << std::endl;

    std::vector<int> counts(10, 0);
    for (unsigned i = 0; i < numbers.size(); i++) counts[numbers[i] % 10]++;
    for (int i = 0; i < 10; i++)
    {
        if (counts[i] == 0) continue;
        std::cout << i << " " << std::string(counts[i], '#') << '\n';
    }
    int i = numbers.size();
    while (i --> 0) std::cout << numbers[i] << (i ? " " : "\n");
    std::cout << "seven is " << (std::string("") + (numbers.size() > 3 ? "in" : "out")) << "\n";
    return numbers.size() > 100;
}
