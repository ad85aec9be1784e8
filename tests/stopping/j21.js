const nums = [1, 2, 3];
for (let i = 0; i <= nums.length; i++) console.log(nums[i] * 2);
